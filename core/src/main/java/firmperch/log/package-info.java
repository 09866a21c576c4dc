/** What was measured on the built perch. */
package firmperch.log;
