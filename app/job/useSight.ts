import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { Pose } from '#core/kinematics';
import { useOnClient } from '../ui/controls/useOnClient';
import { useSelection } from './SelectionContext';
import { useAhead } from './useAhead';
import { OPEN, poseIn, poseText, wordIn } from './sight';

/** A parameter of a station's own in the address, null when it is not given. */
export function useSightText(name: string): [string | null, (text: string | null) => void] {
  const { params, change } = useSelection();
  return [params.get(name), useCallback((text) => change({ [name]: text }), [change, name])];
}

/** What a station shows of a few things it may show; the first is what it shows unless the address says otherwise. */
export function useSight<T extends string>(name: string, words: readonly [T, ...T[]]): [T, (word: T) => void] {
  const [text, setText] = useSightText(name);
  const [first] = words;
  const choose = useCallback((word: T) => setText(word === first ? null : word), [setText, first]);
  return [wordIn(words, text) ?? first, choose];
}

/**
 * A dialog that a link may open; the server leaves it to the browser, which has a place for it. Another setup, axle or
 * view closes it.
 */
export function useDialog(name: string): { isOpen: boolean; open(): void; close(): void } {
  const [shown, setShown] = useSightText(OPEN);
  const open = useCallback(() => setShown(name), [setShown, name]);
  const close = useCallback(() => setShown(null), [setShown]);
  const isOpen = useOnClient<boolean>(() => true, false) && shown === name;
  return { isOpen, open, close };
}

/** How long a pose must stand before the address names it, ms: it follows a hand, or plays. */
const POSE_REST_MS = 400;

/** The pose that a corner is looked at in; null until somebody moves the wheel. */
export function useSightPose(): [Pose | null, (pose: Pose | null) => void] {
  const [text, setText] = useSightText('pose');
  const named = useMemo(() => poseIn(text), [text]);
  const [held, hold] = useAhead<Pose | null>(text);
  const written = useRef<string | null>(null);
  const moved = useRef<{ value: Pose | null } | null>(null);
  useEffect(() => {
    if (!held) return;
    const later = setTimeout(() => {
      written.current = held.value && poseText(held.value);
      setText(written.current);
    }, POSE_REST_MS);
    return () => clearTimeout(later);
  }, [held, setText]);
  const move = useCallback(
    (pose: Pose | null) => {
      moved.current = { value: pose };
      hold({ of: text, value: pose });
    },
    [hold, text],
  );
  useEffect(() => {
    // Where frames are slow the address names a pose while the hand is further on: what it did meanwhile still holds.
    const last = moved.current;
    const isOurs = last !== null && text === written.current;
    if (isOurs && text !== (last.value && poseText(last.value))) move(last.value);
  }, [text, move]);
  return [held ? held.value : named, move];
}
