/** A law that fails tells its smallest case so far before the bound on hanging ends the test, and not only that time was up. */
import fc from 'fast-check';

fc.configureGlobal({ interruptAfterTimeLimit: 45_000, markInterruptAsFailure: true });
