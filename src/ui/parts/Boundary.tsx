"use client";
import { Component, type ReactNode } from "react";
import { Button } from "./Button";

interface BoundaryProps {
  /** What is in it, as a knitter would call it. */
  readonly name: string;
  readonly children: ReactNode;
  /** What is done before it is tried again. */
  readonly onAgain?: () => void;
  /** A sheet lies over the page and can be closed, and so does and can the word that it is broken. */
  readonly onClose?: () => void;
}

const OVER = "fixed inset-x-3 bottom-3 z-40 mx-auto max-w-md shadow-lg";

/** What breaks in it is told in its place, and goes no further. */
export class Boundary extends Component<BoundaryProps, { readonly broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    const { name, children, onAgain, onClose } = this.props;
    if (!this.state.broken) return children;
    const again = () => {
      onAgain?.();
      this.setState({ broken: false });
    };
    return (
      <div role="alert" className={`rounded-xl border border-madder bg-card p-4 ${onClose ? OVER : ""}`}>
        <p>
          <strong>{name}: this part does not work just now.</strong> Everything else does, and your project is
          safe.
        </p>
        <p className="mt-2 flex flex-wrap gap-2">
          <Button size="small" onClick={again}>
            Try again
          </Button>
          <Button size="small" onClick={() => location.reload()}>
            Reload the page
          </Button>
          {onClose && (
            <Button size="small" onClick={onClose}>
              Close
            </Button>
          )}
        </p>
      </div>
    );
  }
}
