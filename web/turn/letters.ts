import { CanvasTexture, Sprite, SpriteMaterial, type Vector3 } from 'three';

const PIXELS = 64;

/** A letter in a round spot that always faces the eye and is never hidden; its width in millimetres. */
export function letterAt(letter: string, at: Vector3, width: number, colour: string): Sprite {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = PIXELS;
  const pen = canvas.getContext('2d')!;
  pen.fillStyle = colour;
  pen.beginPath();
  pen.arc(PIXELS / 2, PIXELS / 2, PIXELS / 2 - 1, 0, 2 * Math.PI);
  pen.fill();
  pen.fillStyle = '#ffffff';
  pen.font = `600 ${PIXELS * 0.6}px ${getComputedStyle(document.body).fontFamily}`;
  pen.textAlign = 'center';
  pen.textBaseline = 'middle';
  pen.fillText(letter, PIXELS / 2, PIXELS * 0.54);
  const spot = new Sprite(new SpriteMaterial({ map: new CanvasTexture(canvas), depthTest: false }));
  spot.position.copy(at);
  spot.scale.setScalar(width);
  spot.renderOrder = 2;
  return spot;
}
