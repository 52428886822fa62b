import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Pose } from '#core/kinematics';
import { useSelection } from './SelectionContext';
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

/** A dialog that a link may open. Another setup, axle or view closes it. */
export function useDialog(name: string): { isOpen: boolean; open(): void; close(): void } {
  const [shown, setShown] = useSightText(OPEN);
  const open = useCallback(() => setShown(name), [setShown, name]);
  const close = useCallback(() => setShown(null), [setShown]);
  return { isOpen: shown === name, open, close };
}

/** How long a pose must stand before the address names it, ms: it follows a hand, or plays. */
const POSE_REST_MS = 400;

/** The pose that a corner is looked at in; null until somebody moves the wheel. */
export function useSightPose(): [Pose | null, (pose: Pose | null) => void] {
  const [text, setText] = useSightText('pose');
  const named = useMemo(() => poseIn(text), [text]);
  // What the hand holds counts until the address names it, or another sight is gone to.
  const [held, setHeld] = useState<{ pose: Pose | null; over: string | null } | null>(null);
  const inHand = held !== null && held.over === text;
  useEffect(() => {
    if (!inHand) return;
    const later = setTimeout(() => setText(held.pose && poseText(held.pose)), POSE_REST_MS);
    return () => clearTimeout(later);
  }, [inHand, held, setText]);
  const move = useCallback((pose: Pose | null) => setHeld({ pose, over: text }), [text]);
  return [inHand ? held.pose : named, move];
}
