import * as m from "@/messages";
import { Component, type ComponentType, type ReactNode } from "react";

type Props = { readonly children: ReactNode };
type State = { readonly hasFailed: boolean };

/** Catches what goes wrong while an island is drawn: the rest of the page stays, and nobody looks at an empty one. */
class Boundary extends Component<Props, State> {
  override state: State = { hasFailed: false };

  static getDerivedStateFromError = (): State => ({ hasFailed: true });

  override render(): ReactNode {
    if (!this.state.hasFailed) return this.props.children;
    return (
      <div role="alert" className="border-cranberry my-4 max-w-xl border-l-4 pl-3">
        <p>{m.thisPartOfThePageHas}</p>
        <p className="flex gap-2 pt-2">
          <button type="button" className="press" onClick={() => this.setState({ hasFailed: false })}>
            {m.tryAgain}
          </button>
          <button type="button" className="press" onClick={() => window.location.reload()}>
            {m.loadThePageAgain}
          </button>
        </p>
      </div>
    );
  }
}

/** An island with a boundary round it. */
export function guarded<IslandProps extends object>(Island: ComponentType<IslandProps>): ComponentType<IslandProps> {
  return function Guarded(props: IslandProps) {
    return (
      <Boundary>
        <Island {...props} />
      </Boundary>
    );
  };
}
