import { Image as ImageIcon } from 'lucide-react';
import { useState, type RefObject } from 'react';
import { Drop } from '../design/Drop';
import { usePrinting } from '../design/printing';
import { Problem } from '../design/Problem';
import { createDesk, deskOneOf } from '../documents/store/desk';
import { download } from '../documents/files/download';
import type { Ground } from './picture';
import { part } from '../design/part';
import { fetchScript } from '../fetchScript';

const MenuPopover = part(() => import('../design/MenuPopover').then((module) => module.default));

interface PictureMenuProps {
  /** The part of the page that holds the grid. */
  readonly work: RefObject<HTMLElement | null>;
  /** The selected column, −1 for none. */
  readonly column: number;
  /** What the saved file is named after. */
  readonly name: string;
  /** Printed under a picture of the whole line, with its name over it. */
  readonly caption?: string;
  /** What a part and the whole are called. */
  readonly nouns?: { readonly column: string; readonly line: string };
  /** Saves the line as MusicXML, where the bench can. */
  readonly onMusicXml?: () => void;
  /** Shows what is printed, where the bench has pages of its own for it. */
  readonly onPrint?: () => void;
}

const PRINT = 'Print';
const MUSICXML = 'Export MusicXML';

/** How a picture of what is taken, in words before the noun and after it. */
const ACTIONS = [
  ['Copy', '', 'copy', 'column'],
  ['Copy', ' as SVG', 'copy-svg', 'column'],
  ['Save', ' as SVG', 'svg', 'column'],
  ['Save', ' as PNG', 'png', 'column'],
  ['Copy', '', 'copy', 'line'],
  ['Copy', ' as SVG', 'copy-svg', 'line'],
  ['Save', ' as SVG', 'svg', 'line'],
  ['Save', ' as PNG', 'png', 'line'],
  ['Save', ' as PDF', 'pdf', 'line'],
] as const;

const NOUNS = { column: 'column', line: 'line' };

const GROUND_NAMES: readonly (readonly [Ground, string])[] = [
  ['paper', 'On the ground of paper'],
  ['white', 'On white'],
  ['none', 'On no ground'],
];

/** What lies under pictures that are saved and copied. */
const PICTURE_DESK = createDesk<{ readonly ground: Ground }>('pictures', {
  ground: deskOneOf(['paper', 'white', 'none'], 'paper'),
});

/** Pictures of the selected column or the whole line, for slides and paper. */
export function PictureMenu(props: PictureMenuProps) {
  const { work, column, name, caption = '', nouns = NOUNS, onMusicXml, onPrint } = props;
  const titleOf = ([verb, as, , what]: (typeof ACTIONS)[number]) => `${verb} ${nouns[what]}${as}`;
  const ground = PICTURE_DESK.use((desk) => desk.ground);
  const [said, setSaid] = useState<{ readonly text: string; readonly problem: boolean } | null>(null);
  const print = () => (onPrint ? onPrint() : window.print());
  usePrinting(print);
  const act = (action: string) => {
    if (action === PRINT) return print();
    const chosen = GROUND_NAMES.find(([, name]) => name === action)?.[0];
    if (chosen) return PICTURE_DESK.set({ ground: chosen });
    if (action === MUSICXML) return onMusicXml?.();
    const [, , how, what] = ACTIONS.find((one) => titleOf(one) === action)!;
    void take(how, what === 'column' && column >= 0 ? column : null)
      .then((text) => setSaid(text === null ? null : { text, problem: false }))
      .catch((error: unknown) =>
        setSaid({ text: error instanceof Error ? error.message : String(error), problem: true }),
      );
  };
  const take = async (
    how: 'copy' | 'copy-svg' | 'svg' | 'png' | 'pdf',
    which: number | null,
  ): Promise<string | null> => {
    const { drawPicture, toPng } = await fetchScript(() => import('./picture'));
    if (!work.current) throw new Error('There is nothing on the bench to draw.');
    const file = `${name.replace(/[^\p{L}\p{N}#]+/gu, '-')}${which === null ? '' : `-${nouns.column}-${which + 1}`}`;
    if (how === 'pdf') {
      const { drawPdf } = await fetchScript(() => import('./pdf'));
      download(await drawPdf(work.current, name, caption), `${file}.pdf`, 'application/pdf');
      return null;
    }
    const picture = await drawPicture(work.current, which, ground);
    if (how === 'copy-svg') {
      await navigator.clipboard.writeText(picture.svg).catch(() => {
        throw new Error('The browser did not allow copying. Save the picture instead.');
      });
      return 'Copied as SVG: paste it into a drawing program.';
    }
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
    ...ACTIONS.map((one) => ({
      id: titleOf(one),
      name: titleOf(one),
      disabled: one[3] === 'column' && column < 0,
      parted: one[3] === 'line' && one[2] === 'copy',
    })),
    ...GROUND_NAMES.map(([id, name], at) => ({
      id: name,
      name: id === ground ? `✓ ${name}` : name,
      parted: at === 0,
    })),
    ...(onMusicXml ? [{ id: MUSICXML, name: MUSICXML, parted: true }] : []),
    { id: PRINT, name: onPrint ? 'Pages to print' : PRINT, parted: !onMusicXml },
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
      {said &&
        (said.problem ? (
          <Problem onClose={() => setSaid(null)}>{said.text}</Problem>
        ) : (
          <span role="status">{said.text}</span>
        ))}
    </>
  );
}
