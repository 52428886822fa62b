import { Component, type ReactNode } from 'react';
import { Button } from '../controls/Button';
import './stance.css';

interface PictureBoundaryProps {
  children: ReactNode;
}

/** Holds a picture that cannot be drawn or fetched: says so, and lets it be tried again; the figures beside it stay. */
export class PictureBoundary extends Component<PictureBoundaryProps, { hasFailed: boolean }> {
  override state = { hasFailed: false };

  static getDerivedStateFromError() {
    return { hasFailed: true };
  }

  override render() {
    if (!this.state.hasFailed) return this.props.children;
    return (
      <div className="stance-failed" role="alert">
        <p>The picture could not be drawn. The figures beside it hold.</p>
        <Button onClick={() => location.reload()}>Try again</Button>
      </div>
    );
  }
}
