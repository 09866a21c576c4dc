/** The kinds that ship: which parts they are composed of, and the values that they start with. */
package firmperch.kind;
