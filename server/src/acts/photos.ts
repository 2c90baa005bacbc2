import { conflict, notFound } from '../problems';
import * as photos from '../store/photos';
import { act } from './command';
import { theOpenCase } from './jobs';

/** A picture that was sent before is given to a case. */
export const addPhoto = act('addPhoto', ({ db }, { photo }, caseId) => {
  const row = theOpenCase(db, caseId);
  const found = photos.maybeOnePhoto(db, photo);
  if (!found) throw notFound('photo', photo);
  if (found.case_id !== null && found.case_id !== row.id) throw conflict('photo-given');
  photos.givePhoto(db, photo, row.id);
  return { caseId: row.id, result: {} };
});

/** Taken out of its case, or put back into it. */
export const takeBackPhoto = act('takeBackPhoto', ({ db }, { isBack }, id) => {
  const found = photos.maybeOnePhoto(db, id);
  if (!found) throw notFound('photo', id);
  photos.takeBackPhoto(db, id, !isBack);
  return { caseId: found.case_id, result: {} };
});

/** How much of the leaf on it is sick, or how many specks there are, as it was measured and looked at. */
export const measurePhoto = act('measurePhoto', ({ db }, { spotted, specks }, id) => {
  const found = photos.maybeOnePhoto(db, id);
  if (!found || found.case_id === null) throw notFound('photo', id);
  if (spotted !== undefined) photos.measureLeafOn(db, id, spotted);
  if (specks !== undefined) photos.countSpecksOn(db, id, specks);
  return { caseId: found.case_id, result: {} };
});

export const acts = { addPhoto, takeBackPhoto, measurePhoto };
