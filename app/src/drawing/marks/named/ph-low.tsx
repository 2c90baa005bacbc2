import { strip } from '../../pieces';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const phLow: NamedMark = () => strip('5', ink.ochre56);
