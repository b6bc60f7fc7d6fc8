import { Component, type ReactNode } from 'react';
import { say } from '#words/app/Boundary';
import { Empty } from '../ui/Empty';

interface Props {
  /** What is shown inside; another one, or another state of it, gets another try. */
  readonly of: string;
  /** What cannot be shown then. */
  readonly what?: string;
  readonly children: ReactNode;
}
interface State {
  readonly failed: string | null;
}

/** One part of the page that cannot be drawn says so itself, and the rest of the page stands. */
export class Boundary extends Component<Props, State> {
  override state: State = { failed: null };

  static getDerivedStateFromError(error: unknown): State {
    return { failed: error instanceof Error ? error.message : String(error) };
  }

  override componentDidUpdate(before: Props): void {
    if (before.of !== this.props.of && this.state.failed !== null) this.setState({ failed: null });
  }

  override render(): ReactNode {
    const { failed } = this.state;
    if (failed === null) return this.props.children;
    return (
      <Empty title={say.cannotBeShown(this.props.what ?? say.thisDoor)}>
        {say.nothingKnownAboutLeast(failed)}
      </Empty>
    );
  }
}
