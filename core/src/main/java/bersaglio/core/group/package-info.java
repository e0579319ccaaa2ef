/** Several players at once: whose turn it is. */
package bersaglio.core.group;
