import { answerPlan } from '../answers';

export const POST = answerPlan;
