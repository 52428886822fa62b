/**
 * Nonsense in the domain: a value that cannot be, with the path of the field it stands in (empty when the caller knows
 * the field).
 */
export class DomainError extends Error {
  constructor(
    message: string,
    readonly path = '',
  ) {
    super(message);
    this.name = 'DomainError';
  }
}
