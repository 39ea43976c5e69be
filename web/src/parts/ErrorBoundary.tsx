import { Component, type ReactNode } from 'react';
import { Failed, Sheet } from './states.js';

/** Shows a sentence instead of a blank page when drawing a screen failed. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <Sheet>
        <Failed
          isPage
          error={new Error('This page could not be drawn. What you entered is kept; load the page again.')}
          onRetry={() => window.location.reload()}
        />
      </Sheet>
    );
  }
}
