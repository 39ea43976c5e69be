import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled, { createGlobalStyle } from 'styled-components';
import {
  labelGrid,
  labelPlaces,
  type LabelSheet,
  labelSheetProblem,
  paperMillimetres,
  storageLabels,
  type StorageLabel,
  usualLabelSheet,
} from '@fornax/core';
import { useOpenClass } from '../classes/class-context.js';
import { Boxes, TickBox } from '../parts/Boxes.js';
import { Button } from '../parts/Button.js';
import { Choice } from '../parts/Choice.js';
import { NoDishes } from '../parts/NoDishes.js';
import { NumberField } from '../parts/NumberField.js';
import { Quietly, Row } from '../parts/states.js';
import { Download } from './Download.js';
import { StopHeading } from '../classes/StopHeading.js';
import { OnScreen } from '../parts/kit.js';

const stored = 'fornax:labels';

const Settings = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0.75rem 1rem;
  max-width: 53.75rem;
  margin: 0.75rem 0;
  @media (max-width: 43.75em) {
    grid-template-columns: 1fr 1fr;
  }
`;
const Alert = styled.p`
  color: ${({ theme }) => theme.colour.beet};
  font-weight: 600;
`;
/** Labels stand on the sheet to the millimetre: the page adds no margin of its own. */
const NoMargins = createGlobalStyle<{ $paper: LabelSheet['paper'] }>`
  @page {
    size: ${({ $paper }) => ($paper === 'a4' ? 'A4' : 'letter')};
    margin: 0;
  }
`;
/** A sheet of paper, drawn in its own millimetres. */
const Page = styled.div`
  position: relative;
  margin: 0 0 1rem;
  max-width: 100%;
  overflow: hidden;
  background: #fff;
  border: 1px solid ${({ theme }) => theme.colour.hairline};
  @media print {
    margin: 0;
    border: 0;
    break-after: page;
    max-width: none;
  }
`;
const Stuck = styled.article`
  position: absolute;
  overflow: hidden;
  padding: 2mm;
  border: 1px dashed ${({ theme }) => theme.colour.hairline};
  color: #000;
  line-height: 1.1;
  p {
    margin: 0;
    font-size: 0.9em;
  }
  strong {
    display: block;
    line-height: 1.1;
  }
  @media print {
    border-color: transparent;
  }
`;

const number: readonly (readonly [Exclude<keyof LabelSheet, 'paper'>, string])[] = [
  ['width', 'Width of a label, mm'],
  ['height', 'Height of a label, mm'],
  ['marginLeft', 'From the left edge, mm'],
  ['marginTop', 'From the top edge, mm'],
  ['gapAcross', 'Gap across, mm'],
  ['gapDown', 'Gap down, mm'],
  ['startAt', 'First label still there'],
];

function storedSheet(): LabelSheet {
  try {
    return {
      ...usualLabelSheet,
      ...(JSON.parse(localStorage.getItem(stored) ?? '{}') as object),
      startAt: 1,
    };
  } catch {
    return usualLabelSheet;
  }
}

/** What is stuck on what is kept and carried home. */
export default function LabelsPage() {
  const { view, plan, bundle } = useOpenClass();
  const [sheet, setSheet] = useState<LabelSheet>(storedSheet);
  const [kinds, setKinds] = useState<string[]>(['kept', 'home']);
  const labels = useMemo(
    () => storageLabels({ facts: bundle.class, kitchen: bundle.kitchen, plan }),
    [bundle, plan],
  );
  const change = (patch: Partial<LabelSheet>) => {
    const next = { ...sheet, ...patch };
    localStorage.setItem(stored, JSON.stringify(next));
    setSheet(next);
  };
  if (view.dishes.length === 0)
    return (
      <>
        <StopHeading stop="Storage labels" sheet="storage labels">
          Storage labels
        </StopHeading>
        <NoDishes>A label for everything that is kept or carried home appears here.</NoDishes>
      </>
    );
  const problem = labelSheetProblem(sheet);
  const grid = labelGrid(sheet);
  const chosen = labels.filter(({ kind }) => kinds.includes(kind));
  const all = chosen.flatMap((label) => Array.from({ length: label.copies }, () => label));
  return (
    <>
      <OnScreen>
        <Row>
          <StopHeading stop="Storage labels" sheet="storage labels">
            Storage labels
          </StopHeading>
          <Link to="../pack">Back to Pack</Link>
        </Row>
        <Quietly>
          What it is, when it was made, use by, keep at, allergens and station: {all.length} labels,{' '}
          {grid.across} × {grid.down} to a sheet
        </Quietly>
        <SheetSettings sheet={sheet} change={change} />
        <Boxes value={kinds} onChange={setKinds} aria-label="Which labels">
          <TickBox value="kept">kept before class</TickBox>
          <TickBox value="home">carried home</TickBox>
        </Boxes>
        {problem ? <Alert role="alert">{problem}</Alert> : null}
        <Row style={{ margin: '12px 0' }}>
          <Button isDisabled={problem !== ''} onPress={() => window.print()}>
            Print
          </Button>
          {problem === '' ? (
            <Download href={`/api/classes/${view.id}/labels.pdf?${queryOf(sheet)}`} download>
              PDF of all labels
            </Download>
          ) : null}
        </Row>
      </OnScreen>
      {problem === '' ? <Sheets sheet={sheet} labels={all} /> : null}
    </>
  );
}

function SheetSettings({
  sheet,
  change,
}: {
  sheet: LabelSheet;
  change: (patch: Partial<LabelSheet>) => void;
}) {
  return (
    <Settings>
      <Choice
        label="Paper"
        value={sheet.paper}
        options={[
          { id: 'a4', name: 'A4' },
          { id: 'letter', name: 'US Letter' },
        ]}
        onChange={(paper) => change({ paper })}
      />
      {number.map(([field, label]) => (
        <NumberField
          key={field}
          label={label}
          value={sheet[field]}
          onChange={(value) => change({ [field]: value })}
        />
      ))}
    </Settings>
  );
}

const queryOf = (sheet: LabelSheet) =>
  new URLSearchParams(Object.entries(sheet).map(([key, value]) => [key, String(value)])).toString();

function Sheets({ sheet, labels }: { sheet: LabelSheet; labels: readonly StorageLabel[] }) {
  const places = labelPlaces(sheet, labels.length);
  const [width, height] = paperMillimetres[sheet.paper];
  const pages = (places[places.length - 1]?.page ?? -1) + 1;
  const size = Math.max(2.1, Math.min(3.5, sheet.height / 9, sheet.width / 19));
  return (
    <>
      <NoMargins $paper={sheet.paper} />
      {Array.from({ length: pages }, (_, page) => (
        <Page
          key={page}
          role="group"
          aria-label={`Sheet ${page + 1} of ${pages}`}
          style={{ width: `${width}mm`, height: `${height}mm` }}
        >
          {labels.map((label, index) =>
            places[index]!.page === page ? (
              <Stuck
                key={index}
                aria-label={`${label.what}, ${label.place}`}
                style={{
                  left: `${places[index]!.left}mm`,
                  top: `${places[index]!.top}mm`,
                  width: `${sheet.width}mm`,
                  height: `${sheet.height}mm`,
                  fontSize: `${size}mm`,
                }}
              >
                <strong>{label.what}</strong>
                <p>
                  {label.place} · made {label.made}
                </p>
                <strong>Use by {label.useBy}</strong>
                <p>Keep {label.keepAt}</p>
                <p>{label.allergens}</p>
                <p>{label.note}</p>
              </Stuck>
            ) : null,
          )}
        </Page>
      ))}
    </>
  );
}
