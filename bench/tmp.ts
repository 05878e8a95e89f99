import { benchAssign, benchAssignGrowth } from './assign.ts';
benchAssignGrowth();
await benchAssign(2);
