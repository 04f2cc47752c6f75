import type { JoiningRule as Who } from '@diatonix/server/class';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { useClassroom, type OpenRoom } from '../../classroom/teacher/store';

const Card = styled.section`
  .address {
    margin: 0.2rem 0 0.8rem;
    font-size: 2rem;
    overflow-wrap: anywhere;
  }
  .code {
    margin: 0.2rem 0 0.8rem;
    font:
      600 5.5rem/1.1 'Source Serif 4',
      serif;
    letter-spacing: 0.12em;
  }
  img {
    display: block;
    width: 15rem;
    height: 15rem;
    image-rendering: pixelated;
    background: #fff;
  }
  &.small {
    margin-bottom: 1rem;
  }
  &.small .code {
    margin: 0;
    font-size: 2.2rem;
  }
  &.small .address {
    margin: 0;
    font-size: 0.9375rem;
  }
  h2 {
    margin: 0 0 0.2rem;
  }
  .joining:not(:empty) {
    margin: 0 0 0.8rem;
    font-size: 1.25rem;
  }
  .soft {
    margin: 0;
    color: var(--soft);
  }
`;

interface InvitationProps {
  readonly room: OpenRoom;
  /** Beside the work instead of for the back of the room. */
  readonly small?: boolean;
}

/** How pupils come in: the address, its picture, and the join code, legible from the back. */
export function Invitation({ room, small = false }: InvitationProps) {
  const address = useClassroom((state) => state.address);
  const { code } = room;
  const picture = usePicture(small || !address || !code ? null : `${address}#${code}`);
  if (!code || !address) return <Card className={small ? 'small' : ''}>The server is being reached…</Card>;
  return (
    <Card className={small ? 'small' : ''} aria-label={small ? 'Join code' : 'How to join'}>
      {!small && <p className="soft">In the same network, open</p>}
      <p className="address">{placeOf(address)}</p>
      {!small && <p className="soft">and join with</p>}
      <p className="code">{code}</p>
      {!small && <p className="joining">{BOARD_WORDS[room.joining ?? 'open']}</p>}
      {picture && <img src={picture} alt={`The address ${address} and the code, for a camera`} />}
    </Card>
  );
}

/** What the class reads of who can join. */
const BOARD_WORDS: Readonly<Record<Who, string>> = {
  open: '',
  list: 'Choose your name from the list.',
  ask: 'Your teacher lets you in: wait after you have joined.',
  closed: 'Joining is closed. Who was here comes back by itself.',
};

/** An address as it is typed: the browser adds the rest. */
function placeOf(address: string): string {
  const { host, pathname } = new URL(address);
  return `${host}${pathname}`;
}

/** A picture that cameras read, once its script has come. */
function usePicture(text: string | null): string | null {
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => {
    if (text === null) return;
    let wanted = true;
    void import('qrcode').then(async ({ default: QRCode }) => {
      const made = await QRCode.toDataURL(text, { margin: 2, width: 480 });
      if (wanted) setPicture(made);
    });
    return () => {
      wanted = false;
    };
  }, [text]);
  return picture;
}
