import type { SettingsTold } from '../tables';
import { settingIn } from './setting';

const settingsTold: SettingsTold = {
  rows: [
    { setting: 'greenhouse', words: ['greenhouse', 'polytunnel'] },
    { setting: 'indoors', words: ['windowsill'] },
    { setting: 'pot', words: ['in a * pot'] },
  ],
  elsewhere: ['from the', 'beside the', 'not in the'],
  open: ['outside'],
};
const told = (line: string) => settingIn({ settingsTold }, line);

test.each([
  ['chillies in the polytunnel', 'greenhouse'],
  ['basil on the windowsill', 'indoors'],
  ['a fig in a big pot', 'pot'],
  ['in a pot in the greenhouse', 'greenhouse'],
  ['not in the greenhouse, on the windowsill', 'indoors'],
])('%s: %s', (line, setting) => expect(told(line)).toBe(setting));

test.each([
  'roses',
  'taken from the kitchen windowsill',
  'in the polytunnel last year, outside now',
  'planted out from the greenhouse',
  'a bed beside the polytunnel',
  'pots',
  '',
])('nothing is told of where: %s', (line) => expect(told(line)).toBeUndefined());
