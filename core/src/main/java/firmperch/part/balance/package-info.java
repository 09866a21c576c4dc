/** Parts that carry one weight by another. */
package firmperch.part.balance;
