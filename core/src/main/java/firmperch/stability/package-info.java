/** Rigid statics of what stands on feet: where its centre of mass may be, what tips it, what each foot carries. */
package firmperch.stability;
