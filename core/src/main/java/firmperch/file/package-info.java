/** Reading and writing: project files, their schema, the assessment as JSON. */
package firmperch.file;
