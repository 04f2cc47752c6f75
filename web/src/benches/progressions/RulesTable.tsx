import { SelectField } from '../../design/fields/SelectField';
import { FORBIDS, RULES, ruleWords, USUAL_WEIGHTS, type Rule, type RuleWeights } from '@diatonix/core';
import { Dialog, Popover } from 'react-aria-components';
import { useSchool } from '../../documents/store/use';
import { Table } from '../../design/RowsTable';
import type { Dropped } from '../../design/Drop';

/** What a rule may be set to: the weights are in the units of the search's cost. */
const CHOICES = [
  { value: '', name: 'forbids' },
  { value: '8', name: 'strongly avoided' },
  { value: '4', name: 'avoided' },
  { value: '2', name: 'rather avoided' },
  { value: '1', name: 'hardly minded' },
  { value: '0', name: 'is off' },
];

interface RulesTableProps extends Dropped {
  readonly weights: RuleWeights;
  readonly onChange: (weights: RuleWeights) => void;
}

/** The rules of four-part writing with their weights: each forbids, costs something, or is off. */
export default function RulesTable({ weights, onChange, triggerRef, onClose }: RulesTableProps) {
  const school = useSchool();
  const choose = (rule: Rule, value: string) => {
    const next = { ...weights, [rule]: Number(value) };
    if (value === '') delete next[rule];
    onChange(next);
  };
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="bottom end"
    >
      <Dialog aria-label="Rules of writing">
        <Table>
          <thead>
            <tr>
              <th scope="col">Rule</th>
              <th scope="col">A fault</th>
            </tr>
          </thead>
          <tbody>
            {RULES.map((rule) => {
              const name = ruleWords(rule, school);
              const usual = USUAL_WEIGHTS[rule];
              const value = weights[rule] === undefined ? '' : String(weights[rule]);
              return (
                <tr key={rule}>
                  <th scope="row">{name}</th>
                  <td>
                    <SelectField
                      isNamed
                      name={name}
                      value={value}
                      options={choicesFor(value, usual)}
                      onChoose={(one) => choose(rule, one)}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Table>
      </Dialog>
    </Popover>
  );
}

/** What a rule may cost, and what it costs now where that is none of the usual. */
function choicesFor(value: string, usual: number | undefined): readonly (readonly [string, string])[] {
  const all = CHOICES.map((choice): readonly [string, string] => [
    choice.value,
    choice.value === '' && usual !== undefined ? 'avoided as usual' : choice.name,
  ]);
  const isOther = CHOICES.every((choice) => choice.value !== value) && value !== String(FORBIDS);
  return [
    ...(usual !== undefined ? [[String(FORBIDS), 'forbids'] as const] : []),
    ...all,
    ...(isOther ? [[value, `avoided (${value})`] as const] : []),
  ];
}
