/** What the command says of files and places that are not as they should be: one line in words, and a status. */
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BIN, diatonix as run } from './program';

const folder = mkdtempSync(join(tmpdir(), 'diatonix-status-'));
const put = (name: string, text: string) => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};
const diatonix = (...args: string[]) => {
  const { status, stdout, stderr } = run(args);
  return { status, out: stdout.trim(), said: stderr.trim() };
};
const SHEET = put(
  'sheet.json',
  '{"title":"Slack water","seed":7,"sections":[{"kind":"interval-name","count":3}]}',
);
const answers = (pupil: string, part: object = {}) =>
  JSON.stringify({ pupil, version: 'A', answers: { '1.1': 'm6' }, ...part });
const GOOD = put('good.json', answers('Ada'));

describe('mark', () => {
  const BAD: readonly (readonly [string, string, RegExp])[] = [
    ['a code of 100,000 letters', answers('B', { code: 'X'.repeat(100_000) }), /its code “X{20}” is none/],
    [
      'nested lists',
      `{"pupil":"C","version":"A","answers":{"1.1":${'['.repeat(20_000)}${']'.repeat(20_000)}}}`,
      /nested too deeply/,
    ],
    [
      '150,000 unknown questions',
      answers('D', {
        answers: Object.fromEntries(Array.from({ length: 150_000 }, (_, at) => [`9.${at}`, ''])),
      }),
      /it answers 150000 questions, and a sheet has 2000/,
    ],
    ['no JSON', 'no json', /cannot be read as JSON/],
    ['nobody’s', '{"answers":{}}', /does not say whose it is/],
  ];

  test.each(BAD)('%s is named, and a good file beside it is marked', (name, text, reason) => {
    const bad = put(`${name.replace(/\W/g, '')}.json`, text);
    const { status, out } = diatonix('mark', SHEET, bad, GOOD);
    expect(status).toBe(1);
    const [first, second] = out.split('\n');
    expect(first).toMatch(reason);
    expect(first!.length).toBeLessThan(300);
    expect(second).toMatch(/^Ada, version A: /);
    expect(diatonix('mark', SHEET, bad).status).toBe(2);
  });

  test('questions that the sheet does not have are named, but not all of them', () => {
    const many = Object.fromEntries(Array.from({ length: 500 }, (_, at) => [`9.${at}`, 'x']));
    const { status, out } = diatonix('mark', SHEET, put('many.json', answers('E', { answers: many })));
    expect(status).toBe(0);
    expect(out).toContain('And 497 more that are not on it.');
  });
});

test('places that cannot be written to or read are told in one line', () => {
  const cases: readonly (readonly [string[], RegExp])[] = [
    [['sheet', '--spec', SHEET, '--pdf', join(folder, 'nowhere', 'out.pdf')], /this file cannot be written/],
    [['sheet', '--spec', SHEET, '--musicxml', join(folder, 'nowhere', 'out.xml')], /cannot be written/],
    [['sheet', '--spec', join(folder, 'none.json')], /this file cannot be read/],
    [['read', join(folder, 'none.mxl')], /there is no such file/],
  ];
  mkdirSync(join(folder, 'empty'));
  for (const [args, reason] of [
    ...cases,
    [['read', join(folder, 'empty')], /there is no score in this folder/] as const,
  ]) {
    const { status, said } = diatonix(...args);
    expect([args[0], status]).toEqual([args[0], 2]);
    expect(said).toMatch(reason);
    expect(said.split('\n')).toHaveLength(1);
    expect(said).not.toContain('should not happen');
  }
});

test('a disk that is full is told, without the insides of the program', () => {
  const { status, stderr } = spawnSync(
    'sh',
    ['-c', `"${process.execPath}" "${BIN}" key "C major" > /dev/full`],
    {
      encoding: 'utf8',
    },
  );
  expect(status).toBe(2);
  expect(stderr.trim()).toMatch(/^What was to be printed could not be written/);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});
