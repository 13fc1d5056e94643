/** The methods: what each takes, where its lines go, how fast; and where practitioners disagree. */
package org.mosswake.core.playbook;
