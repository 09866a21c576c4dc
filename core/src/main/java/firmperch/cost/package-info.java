/** What it takes to buy a rig, what that costs, and what of it is there already. */
package firmperch.cost;
