import { readFileSync } from 'node:fs';
import { useTexts } from '../src/words/say';

// As the page does before anything else.
useTexts(readFileSync('../core/src/main/resources/rhombus/words/app.en.properties', 'utf8'));
