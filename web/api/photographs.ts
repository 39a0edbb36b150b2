import { ask, client, Problem, type Schemas } from './client';
import { deviceId, newId } from './device';

/** Points of the longer side, and how fine the picture is. */
const LONGEST = 1600;
const FINE = 0.85;

/** What is known of a photograph when it is taken. */
export interface About {
    day?: string;
    setUpId?: string;
    childIds?: string[];
    words?: string;
}

/** The picture made smaller here, upright, as a JPEG: neither its place nor its camera leaves this device. */
export async function smaller(file: Blob): Promise<Blob> {
    let picture: ImageBitmap;
    try {
        picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    } catch {
        throw new Problem(0, 'This is no picture that can be shown here. Nothing was kept; choose another.', {});
    }
    const by = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * by));
    canvas.height = Math.max(1, Math.round(picture.height * by));
    canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();

    return new Promise((resolve, reject) =>
        canvas.toBlob(
            (made) =>
                made ? resolve(made) : reject(new Problem(0, 'The picture could not be made smaller. Try once more.', {})),
            'image/jpeg',
            FINE,
        ),
    );
}

/** A picture that waits to be kept: sent once more it is still the same one. */
export interface Taken {
    id: string;
    at: number;
    picture: Blob;
    about: About;
}

export async function take(file: Blob, about: About): Promise<Taken> {
    return { id: newId(), at: Date.now(), picture: await smaller(file), about };
}

export const keep = ({ id, at, picture, about }: Taken): Promise<Schemas['PhotographView']> =>
    ask(
        client.POST('/api/journal/photographs', {
            params: {
                query: {
                    id,
                    at,
                    deviceId: deviceId(),
                    ...(about.day ? { day: about.day } : {}),
                    ...(about.setUpId ? { setUpId: about.setUpId } : {}),
                    childIds: about.childIds?.join(',') ?? '',
                    words: about.words ?? '',
                },
            },
            body: picture as unknown as string,
            bodySerializer: (body) => body,
            headers: { 'Content-Type': 'image/jpeg' },
        }),
    );
