import Joi from 'joi';
import { carsLike } from '#server/cars';
import { asked } from '../papers/shapeAsked';
import { stored } from '../stored';
import type { Route } from './+types/cars';

const schema = Joi.object<{ like: string }>({ like: Joi.string().max(120).required() });

/** Cars that were measured before under a label like this one: `?like=brindle`. */
export async function loader({ request }: Route.LoaderArgs) {
  const { like } = asked(request, schema);
  return Response.json(await stored(() => carsLike(like)));
}
