/** 1 in = 25.4 mm exactly (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;
/** 1 lb·ft in N·m (NIST SP 811, appendix B). */
export const NM_PER_LB_FT = 1.3558179483;
/** 1 lb in kg exactly (international yard and pound agreement, 1959). */
export const KG_PER_LB = 0.45359237;
/** 1 psi in kPa (NIST SP 811, appendix B). */
export const KPA_PER_PSI = 6.894757;

/** 1 mile in km exactly (international yard and pound agreement, 1959). */
export const KM_PER_MILE = 1.609344;

/** How lengths are shown: millimeters, decimal inches, or inches in sixteenths or thirty-seconds. */
export type LengthUnit = 'mm' | 'in' | 'in16' | 'in32';
export const LENGTH_UNITS: readonly LengthUnit[] = ['mm', 'in', 'in16', 'in32'];

/** Inches to millimeters. */
export const mmFromInches = (inches: number): number => inches * MM_PER_INCH;
/** Millimetres to inches. */
export const inchesFromMm = (mm: number): number => mm / MM_PER_INCH;
