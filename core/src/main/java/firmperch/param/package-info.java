/** Values that a person decides, each described once: what it is called, what it may be, how it is typed, whether it may be varied. */
package firmperch.param;
