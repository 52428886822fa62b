import { Button } from '../controls/Button';
import type { Keys } from './entries';
import './measure.css';

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const;
/** Sixteenths of an inch as a rule has them. */
const SIXTEENTHS = [
  '1/16',
  '1/8',
  '3/16',
  '1/4',
  '5/16',
  '3/8',
  '7/16',
  '1/2',
  '9/16',
  '5/8',
  '11/16',
  '3/4',
  '13/16',
  '7/8',
  '15/16',
] as const;

interface KeypadProps {
  keys: Keys;
  text: string;
  put(text: string): void;
}

/** A text with one more key pressed; the first of them replaces what was there as a whole. */
export function pressed(text: string, key: string): string {
  if (key === '⌫') return text.slice(0, -1).trimEnd();
  if (key === '±') return /^[−-]/.test(text) ? text.slice(1) : `−${text}`;
  if (key === '.') return text.includes('.') ? text : `${text === '' ? '0' : text}.`;
  if (key.includes('/')) {
    const whole = text.replace(/\s*\d+\/\d+$/, '');
    return whole === '' ? key : `${whole} ${key}`;
  }
  // A digit behind a fraction is one of the whole inches.
  const fraction = /^(.*?)\s*(\d+\/\d+)$/.exec(text);
  return fraction ? `${fraction[1]!}${key} ${fraction[2]!}` : `${text}${key}`;
}

/** Large keys for one thumb: figures, and for inches in parts whole ones and sixteenths. */
export function Keypad({ keys, text, put }: KeypadProps) {
  if (keys === 'text') return null;
  const key = (name: string, label?: string) => (
    <Button key={name} className="measure-key figure" aria-label={label} onClick={() => put(pressed(text, name))}>
      {name}
    </Button>
  );
  const hasPoint = keys === 'figures' || keys === 'signed';
  return (
    <div className="measure-keypad" role="group" aria-label="Keypad">
      <div className="measure-digits" data-signed={keys === 'signed'}>
        {DIGITS.map((digit) => key(digit))}
        {keys === 'signed' && key('±', 'Plus or minus')}
        {hasPoint ? key('.', 'Decimal point') : <span />}
        {key('0')}
        {key('⌫', 'Delete the last key')}
      </div>
      {keys === 'fractions' && (
        <div className="measure-parts" role="group" aria-label="Parts of an inch">
          {SIXTEENTHS.map((part) => key(part))}
        </div>
      )}
    </div>
  );
}
