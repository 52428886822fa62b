import { DomainError } from '#core/errors';
import { readThread } from '#core/fastener';
import { readTireSize } from '#core/tire';
import { TypedInput, type TypedInputProps } from './TypedInput';

type Shown = Omit<TypedInputProps<string>, 'show' | 'read' | 'unit'>;

/** A line of text. */
export function TextField({ most = 120, ...props }: Shown & { most?: number }) {
  return (
    <TypedInput
      {...props}
      show={(text) => text}
      read={(text) => {
        if (text.length > most) throw new DomainError(`is longer than ${most} characters`);
        return text.trim();
      }}
    />
  );
}

/** A thread as people write it; kept by the name it is listed under. */
export function ThreadField(props: Shown) {
  return (
    <TypedInput
      {...props}
      placeholder="M12x1.5"
      width={9}
      show={(text) => text}
      read={(text) => readThread(text).name}
    />
  );
}

/** A marking of a tire, kept the way it is listed: a speed rating, a load range letter. */
export function MarkingField({ read, ...props }: Shown & { read(text: string): string }) {
  return <TypedInput {...props} show={(text) => text} read={read} />;
}

/** A tire size as people write it; kept as typed, checked as read. */
export function TireSizeField(props: Shown) {
  return (
    <TypedInput
      {...props}
      show={(text) => text}
      read={(text) => {
        readTireSize(text);
        return text.trim();
      }}
    />
  );
}
