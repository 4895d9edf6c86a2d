// Everything the pages load. Alpine's strict build takes no expressions of its own, so the logic of each component is registered here.
import { barbs } from './components/barbs.js';
import { whatIf } from './components/what-if.js';
import { course } from './components/course.js';
import { reef } from './components/reef.js';
import { drawing } from './components/drawing.js';
import { progress } from './components/progress.js';
import { logEntry } from './components/log-entry.js';
import { signEntry } from './components/sign-entry.js';
import { rollCall } from './components/roll-call.js';
import { voyage } from './components/voyage.js';
import { story } from './components/story.js';
import { timed } from './components/timed.js';
import { shape } from './components/shape.js';
import { picture } from './components/picture.js';
import { queue } from './queue.js';
import './offline-store.js';
import './page.js';
import './hands.js';

const components = {
  barbs,
  whatIf,
  course,
  reef,
  drawing,
  progress,
  logEntry,
  rollCall,
  signEntry,
  shape,
  story,
  timed,
  voyage,
  picture,
};

document.addEventListener('alpine:init', () => {
  for (const [name, component] of Object.entries(components)) {
    window.Alpine.data(name, component);
  }
});

// What waits for a connection is tried again when there is one.
window.addEventListener('online', () => queue.send());
setInterval(() => queue.all().length > 0 && queue.send(), 5000);
queue.send();
