import { Image as ImageIcon } from 'lucide-react';
import { lazy, useState, type RefObject } from 'react';
import { Drop } from '../design/Drop';
import { Problem } from '../design/Problem';
import { download } from '../documents/download';

const MenuPopover = lazy(() => import('../design/MenuPopover'));

interface PictureMenuProps {
  /** The part of the page that holds the grid. */
  readonly work: RefObject<HTMLElement | null>;
  /** The selected column, −1 for none. */
  readonly column: number;
  /** What the saved file is named after. */
  readonly name: string;
  /** Printed under a picture of the whole line, with its name over it. */
  readonly caption?: string;
  /** Saves the line as MusicXML, where the bench can. */
  readonly onMusicXml?: () => void;
}

const PRINT = 'Print';
const MUSICXML = 'Export MusicXML';

const ACTIONS = [
  ['Copy column', 'copy', 'column'],
  ['Save column as SVG', 'svg', 'column'],
  ['Save column as PNG', 'png', 'column'],
  ['Copy line', 'copy', 'line'],
  ['Save line as SVG', 'svg', 'line'],
  ['Save line as PNG', 'png', 'line'],
  ['Save line as PDF', 'pdf', 'line'],
] as const;

/** Pictures of the selected column or the whole line, for slides and paper. */
export function PictureMenu({ work, column, name, caption = '', onMusicXml }: PictureMenuProps) {
  const [said, setSaid] = useState<{ readonly text: string; readonly problem: boolean } | null>(null);
  const act = (action: string) => {
    if (action === PRINT) return window.print();
    if (action === MUSICXML) return onMusicXml?.();
    const [, how, what] = ACTIONS.find(([title]) => title === action)!;
    void take(how, what === 'column' && column >= 0 ? column : null)
      .then((text) => setSaid(text === null ? null : { text, problem: false }))
      .catch((error: unknown) =>
        setSaid({ text: error instanceof Error ? error.message : String(error), problem: true }),
      );
  };
  const take = async (how: 'copy' | 'svg' | 'png' | 'pdf', which: number | null): Promise<string | null> => {
    const { drawPicture, toPng } = await import('./picture');
    if (!work.current) throw new Error('There is nothing on the bench to draw.');
    const file = `${name.replace(/[^\p{L}\p{N}#]+/gu, '-')}${which === null ? '' : `-column-${which + 1}`}`;
    if (how === 'pdf') {
      const { drawPdf } = await import('./pdf');
      download(await drawPdf(work.current, name, caption), `${file}.pdf`, 'application/pdf');
      return null;
    }
    const picture = await drawPicture(work.current, which);
    if (how === 'svg') download(picture.svg, `${file}.svg`, 'image/svg+xml');
    else if (how === 'png') download(await toPng(picture), `${file}.png`, 'image/png');
    else {
      const png = await toPng(picture);
      await navigator.clipboard.write([new ClipboardItem({ 'image/png': png })]).catch(() => {
        throw new Error('The browser did not allow copying. Save the picture instead.');
      });
      return 'Copied: paste it into a slide.';
    }
    return null;
  };
  const entries = [
    ...ACTIONS.map(([title, how, what]) => ({
      id: title,
      name: title,
      disabled: what === 'column' && column < 0,
      parted: what === 'line' && how === 'copy',
    })),
    ...(onMusicXml ? [{ id: MUSICXML, name: MUSICXML, parted: true }] : []),
    { id: PRINT, name: PRINT, parted: !onMusicXml },
  ];
  return (
    <>
      <Drop
        label="Picture"
        opens="menu"
        arrow={false}
        drop={(dropped) => (
          <MenuPopover {...dropped} label="Picture" atEnd entries={entries} onAction={act} />
        )}
      >
        <ImageIcon aria-hidden="true" />
      </Drop>
      {said && (said.problem ? <Problem>{said.text}</Problem> : <span role="status">{said.text}</span>)}
    </>
  );
}
