/** A step that fails does not take the others along: it says so, and what is not saved stays. */
import { Component, type ErrorInfo, type ReactNode } from 'react';
import { Button } from '../ui/Button.tsx';

interface Props {
  /** Another step begins again. */
  step: string;
  children: ReactNode;
}

export class StepBoundary extends Component<Props, { cause: unknown; failed: boolean }> {
  override state = { cause: null as unknown, failed: false };

  static getDerivedStateFromError(cause: unknown) {
    return { cause, failed: true };
  }

  override componentDidCatch(cause: unknown, info: ErrorInfo): void {
    console.error(cause, info.componentStack);
  }

  override componentDidUpdate(before: Props): void {
    if (before.step !== this.props.step && this.state.failed) this.setState({ cause: null, failed: false });
  }

  override render(): ReactNode {
    const { cause, failed } = this.state;
    if (!failed) return this.props.children;
    return (
      <div role="alert" className="m-auto max-w-lg p-8">
        <h1 className="text-2xl">This step stopped</h1>
        <p className="my-2">
          A fault of the program, not of your plan. The plan is as it was, and the other steps go on.
        </p>
        <p className="mb-3 text-sm text-soft">{cause instanceof Error ? cause.message : String(cause)}</p>
        <Button look="main" onClick={() => this.setState({ cause: null, failed: false })}>
          Try again
        </Button>
      </div>
    );
  }
}
