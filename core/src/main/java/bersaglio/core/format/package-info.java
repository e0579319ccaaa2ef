/** What a record says about how it is written: its components are its fields, and these are the exceptions. */
package bersaglio.core.format;
