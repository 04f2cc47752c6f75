import { Component, type ReactNode } from 'react';

interface QuestionBoundaryProps {
  readonly id: string;
  readonly children: ReactNode;
}

/** Round each question: one that cannot be shown says so in its own place, and the others go on. */
export class QuestionBoundary extends Component<QuestionBoundaryProps, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <article aria-label={`Question ${this.props.id}`}>
        <h2>Question {this.props.id}</h2>
        <p className="problem">
          This question cannot be shown: ask your teacher about it. The others are not touched.
        </p>
      </article>
    );
  }
}
