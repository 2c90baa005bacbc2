import { strip } from '../../pieces';
import type { NamedMark } from '../mark';
import { ink } from '../../ink';

export const phHigh: NamedMark = () => strip('8', ink.slate48);
