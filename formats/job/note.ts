import Joi from 'joi';
import { CORNERS } from '#core/fitting';
import { AXLES } from '#core/job';
import { NOTE_STATIONS } from '#core/note';
import { count, filled, id, known, moment, text } from '#formats/rules';

/** The most notes and photos of a job, and the most photos of a note. */
const MOST = { notes: 2000, photos: 1000, ofNote: 20 };

const place = Joi.object({
  station: Joi.valid(...NOTE_STATIONS).required(),
  axle: Joi.valid(...AXLES),
  corner: Joi.valid(...CORNERS),
  setup: id.optional(),
  fitting: id.optional(),
  step: Joi.string().pattern(/^[A-Za-z0-9_-]{1,60}$/, { name: 'is no step' }),
  reading: filled(80),
});

/** Something that somebody wrote down, or took a photo of. */
const note = Joi.object({
  id,
  at: moment.required(),
  by: text(40),
  text: filled(4000),
  photos: Joi.array().items(id.optional()).unique().min(1).max(MOST.ofNote),
  about: place,
}).or('text', 'photos');

/** The side of a picture, as it may be kept. */
const sidePx = known(count(1, 20_000)).optional();

const photo = Joi.object({ id, name: text(200), widthPx: sidePx, heightPx: sidePx });

export const notesSchema = Joi.array().items(note).unique('id').max(MOST.notes);
export const photosSchema = Joi.array().items(photo).unique('id').max(MOST.photos);
