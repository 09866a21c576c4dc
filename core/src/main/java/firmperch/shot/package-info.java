/** What has to be in the picture, and from where a lens sees it. */
package firmperch.shot;
