import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 10;
  background: rgb(0 0 0 / 28%);
  display: grid;
  justify-items: center;
  align-items: start;
  padding: 6vh 1rem 1rem;
`;

const Page = styled(Modal)`
  width: min(34rem, 100%);
  max-height: 88vh;
  overflow: auto;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 5px;
  padding: 1.1rem 1.3rem;
  [role='dialog'] {
    outline: none;
  }
  h2 {
    font-size: 1.15rem;
    margin-bottom: 0.6rem;
  }
`;

/** A leaf over the page, closed by Escape or by pressing beside it. */
export function Leaf({
  title,
  onClose,
  children,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Overlay isOpen isDismissable onOpenChange={(open) => !open && onClose()}>
      <Page>
        <Dialog>
          <Heading slot="title" level={2}>
            {title}
          </Heading>
          {children}
        </Dialog>
      </Page>
    </Overlay>
  );
}
