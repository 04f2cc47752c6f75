import { use, useEffect, useReducer, type ComponentType, type ReactNode } from 'react';
import { fetchScript } from '../fetchScript';
import { MissingPart, type MissingProps } from './MissingPart';

/** A part of the page whose script is fetched when it is first shown, or ahead of that. */
export interface Part<Props extends object> {
  (props: Props): ReactNode;
  /** Fetches the script ahead of use. Never rejects: one that did not come is asked for again when shown. */
  fetch(): Promise<void>;
}

type Came<Props extends object> = { readonly component: ComponentType<Props> } | { readonly error: unknown };

/**
 * A part of the page in a script of its own. While the script comes it suspends; when it does not come, the
 * part says so in its own place and can be tried again, and the page round it stays.
 */
export function part<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  Missing: ComponentType<MissingProps> = MissingPart,
): Part<Props> {
  let component: ComponentType<Props> | undefined;
  let coming: Promise<Came<Props>> | undefined;
  const forget = () => (coming = undefined);

  function come(): Promise<Came<Props>> {
    coming ??= fetchScript(load).then(
      (loaded) => ({ component: (component = loaded) }),
      (error: unknown) => ({ error }),
    );
    return coming;
  }

  function Shown(props: Props): ReactNode {
    const [, anew] = useReducer((count: number) => count + 1, 0);
    const came = component ? { component } : use(come());
    if ('error' in came) {
      const again = () => {
        forget();
        anew();
      };
      const onClose = 'onClose' in props ? (props.onClose as () => void) : undefined;
      return (
        <Failed Missing={Missing} error={came.error} onAgain={again} onClose={onClose} onGone={forget} />
      );
    }
    return <came.component {...props} />;
  }

  const shown: Part<Props> = Object.assign(Shown, {
    fetch: async () => {
      if ('error' in (await come())) forget();
    },
  });
  return shown;
}

interface FailedProps extends MissingProps {
  readonly Missing: ComponentType<MissingProps>;
  readonly onGone: () => void;
}

/** What is shown for a failed part; once it is gone from the page, the next time asks anew. */
function Failed({ Missing, onGone, ...rest }: FailedProps) {
  useEffect(() => () => onGone(), [onGone]);
  return <Missing {...rest} />;
}
