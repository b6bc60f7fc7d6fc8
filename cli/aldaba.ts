import { runCommand } from './runCommand';

// A reader that stops early, such as `head`, is no error.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0);
  throw error;
});

process.exitCode = await runCommand(process.argv.slice(2));
