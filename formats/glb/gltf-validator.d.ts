declare module 'gltf-validator' {
  interface Message {
    code: string;
    message: string;
    severity: number;
    pointer?: string;
  }
  /** Checks a glTF file against its specification (Khronos Group). */
  export function validateBytes(
    bytes: Uint8Array,
    options?: { maxIssues?: number },
  ): Promise<{ issues: { numErrors: number; numWarnings: number; messages: Message[] } }>;
}
