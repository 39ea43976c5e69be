/**
 * styled-components reads the nonce for its style tag from this global; it must be set before the first
 * style.
 */
const meta = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]');
(globalThis as { __webpack_nonce__?: string }).__webpack_nonce__ = meta?.nonce ?? '';

/** The nonce that the page's own style tags carry. */
export function styleNonce(): string {
  return meta?.nonce ?? '';
}
