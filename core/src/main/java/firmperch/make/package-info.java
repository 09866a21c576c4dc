/** From the decided perch to what is cut, bought, poured and done, in which order; as lists, CSV and PDF. */
package firmperch.make;
