/** Words in a step that suggest a technique note. The more telling ones come first. */
export const techniqueWords: readonly (readonly [RegExp, string])[] = [
  [/\bchiffonade|ribbons?\b/i, 'ribbons'], [/\bde-?rib|strip the kale|kale\b.*\b(stem|rib)/i, 'derib-kale'],
  [/\bcore\b.*\bpepper|\bpepper.*\b(core|seed)/i, 'core-pepper'], [/\bginger\b/i, 'grate-ginger'], [/\bminced?\b/i, 'mince-garlic-ginger'], [/\bstrip\b.*\b(thyme|rosemary|herb)|\bpick\b.*\b(leaves|herbs)/i, 'strip-herbs'],
  [/\bcelery\b.*\b(peel|string)|\b(peel|string)s?\b.*\bcelery/i, 'celery-strings'], [/\bpomegranate\b/i, 'seed-pomegranate'], [/\b(scald|skin|peel)\b.*\btomato/i, 'peel-tomatoes'], [/\bslice\b.*\b(orange|lemon|grapefruit)s?\b/i, 'slice-citrus'],
  [/\b(soften|sweat)\b.*\bonion|\bonion.*\b(soften|soft)\b/i, 'soften-onion'], [/\bwilt\b/i, 'wilt-greens'], [/\b(blanch|crisp-tender)\b|\bbeans\b.*\bcrisp\b/i, 'crisp-tender'], [/\bsear\b|\bbrown\b.*\b(meat|chicken)/i, 'sear'], [/\bpoach\b/i, 'poach-fish'],
  [/\bbacon\b/i, 'crisp-bacon'], [/\bhalloumi\b|\bfry\b.*\bcheese/i, 'fry-cheese'], [/\brinse\b.*\b(caper|anchov)/i, 'rinse-capers'], [/\bstick blender|immersion blender/i, 'stick-blend'], [/\b(split|curdle)/i, 'mend-split'], [/\breduce\b.*\b(juice|syrup)|\breduction\b/i, 'fruit-reduction'],
  [/\blayer(?:s|ed)?\b/i, 'layer'], [/\bout of the (?:cold|fridge)|room temperature\b/i, 'bring-back'], [/\bthicken|\bthin (?:it|the dip)\b/i, 'thicken-thin-dip'],
  [/\bshave\b/i, 'shave'], [/\bzest\b/i, 'zest-before-juicing'], [/\b(segment|fillet)s?\b.*\b(orange|citrus|grapefruit|lemon)|\b(orange|grapefruit)s?\b.*\b(segment|fillet)/i, 'fillet-citrus'],
  [/\bjuice\b/i, 'juice-citrus'], [/\bavocado/i, 'open-avocado'], [/\bsoak\b/i, 'soak-and-cook-pulses'],
  [/\b(drain|rinse)\b.*\b(tin|can|chickpea|bean|lentil)/i, 'drain-tins'], [/\b(farro|barley|bulgur|quinoa|rice|couscous)\b/i, 'cook-grains'],
  [/\bpotato/i, 'boil-potatoes'], [/\btoast\b.*\b(nut|seed|spice|walnut|hazelnut|almond|cumin|caraway)/i, 'toast-nuts-seeds'],
  [/\btoast\b.*\bbread|flatbread/i, 'toast-bread'], [/\bchar\b|\bblister/i, 'char-steam-peel'], [/\broast\b/i, 'roast-vegetables'],
  [/\bgarlic\b.*\b(paste|salt)/i, 'garlic-paste'], [/\bshake\b/i, 'shake-dressing'], [/\bwhisk\b/i, 'whisk-dressing'],
  [/\b(blend|blitz)\b/i, 'blend-dip'], [/\bpickle|macerate/i, 'quick-pickle'], [/\bsalt\b.*\b(cucumber|cabbage)/i, 'salt-and-blot'],
  [/\bmassage/i, 'derib-kale'], [/\btoss\b/i, 'toss'], [/\bfold\b/i, 'fold'], [/\b(wash|rinse|dry)\b.*\b(leaves|lettuce|rocket|herbs)/i, 'wash-and-dry-leaves'],
  [/\begg/i, 'boil-eggs'], [/\btaste\b/i, 'taste-and-adjust'], [/\b(dice|chop)\b/i, 'dice'], [/\bshred\b/i, 'shred'], [/\bslice\b/i, 'slice'],
  [/\b(garnish|scatter|serve)\b/i, 'garnish'], [/\bchill\b|\bfridge\b/i, 'chill-and-store'],
];
