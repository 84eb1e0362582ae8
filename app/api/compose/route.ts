import { answerCompose } from '../answers';

export const POST = answerCompose;
