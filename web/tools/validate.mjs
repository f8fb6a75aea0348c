// Prints the errors and warnings that the glTF validator finds in a GLB given on standard input.
import validator from 'gltf-validator';

const parts = [];
for await (const part of process.stdin) parts.push(part);
const report = await validator.validateBytes(new Uint8Array(Buffer.concat(parts)), { maxIssues: 50 });
console.log(JSON.stringify(report.issues.messages.filter((m) => m.severity < 2)));
