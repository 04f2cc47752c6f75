import {
  circleOfFifths,
  closelyRelated,
  displayNoteName,
  printKey,
  sameKey,
  signatureWords,
  type Key,
  type LabelStyle,
} from '@diatonix/core';
import { arc } from 'd3-shape';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { keyName } from '../../parts/names';

const SIZE = 440;
const RINGS = { major: { inner: 140, outer: 212 }, minor: { inner: 78, outer: 138 } } as const;
type Ring = keyof typeof RINGS;
const PLACES = 12;
const TURN = (2 * Math.PI) / PLACES;

const Circle = styled.div`
  display: flex;
  justify-content: center;
  svg {
    width: min(100%, ${SIZE}px);
    overflow: visible;
  }
  .sector path {
    fill: var(--sheet);
    stroke: var(--rule);
    stroke-width: 1.5;
  }
  .sector {
    cursor: pointer;
    outline: none;
  }
  .sector:hover path {
    stroke: var(--soft);
  }
  .sector.near path {
    fill: var(--side);
  }
  .sector[aria-checked='true'] path {
    fill: var(--mark-ground);
    stroke: var(--mark);
    stroke-width: 2.5;
  }
  .sector:focus-visible path {
    stroke: var(--mark);
    stroke-width: 4;
  }
  text {
    fill: var(--ink);
    text-anchor: middle;
    font:
      600 1.3rem 'Accidentals',
      'Source Serif 4',
      serif;
    pointer-events: none;
  }
  .ring-minor text {
    font-size: 1rem;
  }
  text.two {
    font-size: 0.95rem;
  }
  .ring-minor text.two {
    font-size: 0.75rem;
  }
  .centre text {
    font-size: 1.1rem;
  }
  .centre .count {
    font:
      400 0.8125rem 'Accidentals',
      'Source Sans 3',
      sans-serif;
    fill: var(--soft);
  }
`;

interface CircleViewProps {
  readonly keyOf: Key;
  readonly school: LabelStyle;
  readonly onChoose: (key: string) => void;
}

interface Spot {
  readonly ring: Ring;
  readonly place: number;
}

/**
 * The circle of fifths, major keys outside and their relative minors inside.
 * Arrows go round and between the rings; enter chooses, and chooses the other
 * name where two keys sound alike. Keys at most one step away are shaded.
 */
export function CircleView({ keyOf, school, onChoose }: CircleViewProps) {
  const circle = circleOfFifths();
  const own = spotOf(keyOf);
  const [focus, setFocus] = useState<Spot>(own ?? { ring: 'major', place: 0 });
  const root = useRef<HTMLDivElement>(null);
  const moved = useRef(false);
  const near = closelyRelated(keyOf);

  useEffect(() => {
    if (!moved.current) return;
    moved.current = false;
    root.current?.querySelector<SVGGElement>('[tabindex="0"]')?.focus();
  }, [focus]);

  const choose = ({ ring, place }: Spot) => {
    const keys = circle[place]![ring];
    const at = keys.findIndex((key) => sameKey(key, keyOf));
    onChoose(printKey(keys[(at + 1) % keys.length]!));
    setFocus({ ring, place });
  };
  const onKey = (event: KeyboardEvent) => {
    const turn = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (turn !== 0) setFocus({ ring: focus.ring, place: (focus.place + turn + PLACES) % PLACES });
    else if (event.key === 'ArrowUp') setFocus({ ...focus, ring: 'major' });
    else if (event.key === 'ArrowDown') setFocus({ ...focus, ring: 'minor' });
    else if (event.key === 'Enter' || event.key === ' ') choose(focus);
    else return;
    moved.current = true;
    event.preventDefault();
  };
  return (
    <Circle ref={root}>
      <svg
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
        role="radiogroup"
        aria-label="Circle of fifths"
        onKeyDown={onKey}
      >
        {(['major', 'minor'] as const).map((ring) => (
          <g key={ring} className={`ring-${ring}`} role="presentation">
            {circle.map((at, place) => {
              const keys = at[ring];
              const chosen = keys.some((key) => sameKey(key, keyOf));
              const { inner, outer } = RINGS[ring];
              const shape = {
                innerRadius: inner,
                outerRadius: outer,
                startAngle: (place - 0.5) * TURN,
                endAngle: (place + 0.5) * TURN,
              };
              const [x, y] = arc().centroid(shape);
              return (
                <g
                  key={place}
                  role="radio"
                  aria-checked={chosen}
                  aria-label={keys.map((key) => spoken(key)).join(' or ')}
                  tabIndex={focus.ring === ring && focus.place === place ? 0 : -1}
                  className={`sector${keys.some((key) => near.some((other) => sameKey(key, other))) ? ' near' : ''}`}
                  onClick={() => choose({ ring, place })}
                >
                  <path d={arc()(shape) ?? ''} />
                  <text x={x} y={y} dy="0.35em" className={keys.length > 1 ? 'two' : undefined}>
                    {keys.map((key) => tonicIn(ring, key, school)).join(' · ')}
                  </text>
                </g>
              );
            })}
          </g>
        ))}
        <g className="centre" aria-hidden="true">
          <text y={-12}>{keyName(keyOf, school)}</text>
          <text y={14} className="count">
            {signatureWords(keyOf, school.letters).split(' · ')[0]}
          </text>
        </g>
      </svg>
    </Circle>
  );
}

/** Minor tonics are written small on the circle (common practice). */
function tonicIn(ring: Ring, key: Key, school: LabelStyle): string {
  const name = displayNoteName(key.tonic, school.letters);
  return ring === 'minor' ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

function spoken(key: Key): string {
  return printKey(key)
    .replace('#', ' sharp')
    .replace(/b(?= )/, ' flat');
}

function spotOf(key: Key): Spot | null {
  for (const ring of ['major', 'minor'] as const) {
    const place = circleOfFifths().findIndex((at) => at[ring].some((other) => sameKey(other, key)));
    if (place >= 0) return { ring, place };
  }
  return null;
}
