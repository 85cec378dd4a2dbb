/**
 * The version of all that is worked out of looks: fit, measures, doubts, verdicts, and how a hold stands by them. Raised by whoever changes what comes out;
 * a test tells when that was forgotten. What is stored is then worked out anew, and a series over the weeks is always of one
 * version, so that a change of the program is never told as drift, lapse or real change.
 */
export const DERIVED_CODE = 5;
