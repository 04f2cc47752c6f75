import { ClipboardCheck, FileText, LineChart, Users } from 'lucide-react';
import { Link } from 'react-router';
import styled from 'styled-components';

const Steps = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.75rem;
  max-width: 62rem;
  margin: 1.5rem 0 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    align-content: start;
    gap: 0.35rem;
    padding: 0.9rem 1rem 1rem;
    border: 1px solid var(--rule);
    border-radius: 5px;
    background: var(--sheet);
    color: var(--soft);
    font-size: 0.9375rem;
  }
  li[aria-current] {
    border-color: var(--mark);
    box-shadow: inset 0 3px 0 var(--mark);
  }
  svg {
    width: 1.4rem;
    height: 1.4rem;
    color: var(--margin-rule);
  }
  a {
    color: var(--ink);
    font:
      600 1.1rem 'Source Serif 4',
      serif;
  }
`;

/** The way of a week, in the order in which it runs. */
const WEEK = [
  {
    step: 'prepare',
    name: 'Prepare',
    path: '/sheets',
    icon: FileText,
    words: 'Make a sheet: its questions are made new for every version, with answers and working.',
  },
  {
    step: 'ask',
    name: 'Ask',
    path: '/class',
    icon: Users,
    words: 'Give it on paper, as a file, or on the screens in the room while you follow along.',
  },
  {
    step: 'mark',
    name: 'Mark',
    path: '/marking',
    icon: ClipboardCheck,
    words: 'Type or take in what was answered: marks, and why it went wrong, come by themselves.',
  },
  {
    step: 'see',
    name: 'See',
    path: '/logbook',
    icon: LineChart,
    words: 'See what each pupil can and what comes again, and what to practise next.',
  },
] as const;
export type WeekStep = (typeof WEEK)[number]['step'];

/** Where a bench stands in the week, on its desk while it is empty; each step leads to its bench. */
export function TheWeek({ at }: { readonly at: WeekStep }) {
  return (
    <Steps aria-label="The way of a week">
      {WEEK.map(({ step, name, path, icon: Icon, words }, place) => (
        <li key={step} aria-current={step === at ? 'step' : undefined}>
          <Icon aria-hidden="true" />
          <Link to={path}>{`${place + 1} ${name}`}</Link>
          <span>{words}</span>
        </li>
      ))}
    </Steps>
  );
}
