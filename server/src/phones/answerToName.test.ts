import { EventEmitter } from 'node:events';
import { answerToName } from './answerToName';

class Network extends EventEmitter {
  said: unknown[] = [];
  isGone = false;
  respond(answers: unknown) {
    this.said.push(answers);
  }
  destroy() {
    this.isGone = true;
  }
}

it('answers to the studio’s name with the addresses of now, and to no other name', () => {
  const network = new Network();
  let addresses = ['192.168.7.20'];
  const { stop } = answerToName('desk.local', () => addresses, network as never);
  const ask = (name: string, type: string) =>
    network.emit('query', { questions: [{ name, type }] });
  ask('printer.local', 'A');
  ask('desk.local', 'TXT');
  expect(network.said).toEqual([]);
  ask('Desk.local', 'A');
  addresses = ['10.0.0.5'];
  ask('desk.local', 'ANY');
  expect(network.said).toMatchObject([
    [{ name: 'desk.local', type: 'A', data: '192.168.7.20' }],
    [{ name: 'desk.local', type: 'A', data: '10.0.0.5' }],
  ]);
  // A network that fails takes no studio down.
  network.emit('error', new Error('no multicast here'));
  stop();
  expect(network.isGone).toBe(true);
});
