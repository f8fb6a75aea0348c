// Prints the errors and warnings that the glTF validator finds in a GLB given on standard input, the first fifty of them.
import validator from 'gltf-validator';

const parts = [];
for await (const part of process.stdin) parts.push(part);
// No limit: with one, hints that come first would crowd the errors out.
const report = await validator.validateBytes(new Uint8Array(Buffer.concat(parts)), { maxIssues: 0 });
const bad = report.issues.messages.filter((m) => m.severity < 2);
if (bad.length !== report.issues.numErrors + report.issues.numWarnings) throw new Error('the report does not list all it counts');
console.log(JSON.stringify(bad.slice(0, 50)));
