import { screen } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';

/** The button of a choice by the name that stands before it. */
export const choiceNamed = (name: string): HTMLElement =>
  screen
    .getAllByRole('button')
    .find(
      (button) =>
        button.classList.contains('chosen') &&
        (button.getAttribute('aria-labelledby') ?? '')
          .split(' ')
          .some(
            (id) =>
              document.getElementById(id)?.matches('label, .react-aria-Label') &&
              document.getElementById(id)?.textContent === name,
          ),
    ) ?? screen.getByRole('button', { name: new RegExp(`${name}$`) });

/** Opens a choice by its name and takes one of what is offered. */
export async function chooseFrom(user: UserEvent, name: string, option: string): Promise<void> {
  await user.click(choiceNamed(name));
  await user.click(screen.getByRole('option', { name: option }));
}
