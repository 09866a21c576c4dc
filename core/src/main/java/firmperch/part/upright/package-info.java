/** Parts that go up, and what rides on them. */
package firmperch.part.upright;
