ALTER TABLE "phase" DROP CONSTRAINT "phase_kind";--> statement-breakpoint
ALTER TABLE "phase" DROP CONSTRAINT "phase_posture";--> statement-breakpoint
ALTER TABLE "piece" DROP CONSTRAINT "piece_kind";--> statement-breakpoint
ALTER TABLE "phase" ADD CONSTRAINT "phase_kind" CHECK ("phase"."kind" in ('walkIn', 'setUp', 'sit', 'task', 'break', 'warmUp', 'walkOut'));--> statement-breakpoint
ALTER TABLE "phase" ADD CONSTRAINT "phase_posture" CHECK ("phase"."posture" in ('standing', 'sitting', 'kneeling', 'lying'));--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_kind" CHECK ("piece"."kind" in ('garment', 'footwear', 'sock', 'liner', 'footbed', 'handwear', 'headwear', 'neckwear', 'pad', 'protection'));