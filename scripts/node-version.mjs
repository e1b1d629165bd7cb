// Kotabi runs on Node 20.19 up to, not including, 25. Said in a sentence before anything else can fail.
const [major, minor] = process.versions.node.split('.').map(Number);
const fits = (major === 20 && minor >= 19) || (major > 20 && major < 25);
if (!fits) {
  console.error(
    `Kotabi needs Node 20.19 or newer, up to 24; this is Node ${process.versions.node}. Please install Node 20 (or 22, 24) and try again.`,
  );
  process.exit(1);
}
