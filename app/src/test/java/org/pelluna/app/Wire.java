package org.pelluna.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;

/** The wire to a database, which can be cut, held still, and mended. */
final class Wire implements AutoCloseable {
    private final ServerSocket door;
    private final int to;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;
    private volatile CountDownLatch gate = new CountDownLatch(0);

    Wire(int to) throws IOException {
        this.to = to;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        daemon(this::receive);
    }

    int port() {
        return door.getLocalPort();
    }

    /** Ends every connection, and every new one at once. */
    void cut() {
        cut = true;
        end();
    }

    /** Passes nothing on, and says nothing. */
    void hold() {
        gate = new CountDownLatch(1);
    }

    void mend() {
        cut = false;
        gate.countDown();
        end();
    }

    private void end() {
        open.removeIf(one -> {
            quietly(one);
            return true;
        });
    }

    private void receive() {
        while (!door.isClosed()) {
            try {
                Socket from = door.accept();
                if (cut) {
                    from.close();
                    continue;
                }
                Socket onwards = new Socket(InetAddress.getLoopbackAddress(), to);
                open.add(from);
                open.add(onwards);
                daemon(() -> pass(from, onwards));
                daemon(() -> pass(onwards, from));
            } catch (IOException e) {
                // The door was closed, or the other side is away: whoever knocks finds out.
            }
        }
    }

    private void pass(Socket from, Socket onwards) {
        byte[] some = new byte[8192];
        try {
            InputStream in = from.getInputStream();
            OutputStream out = onwards.getOutputStream();
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                gate.await();
                out.write(some, 0, read);
            }
        } catch (IOException e) {
            // Cut.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        quietly(from);
        quietly(onwards);
    }

    private static void quietly(Socket one) {
        try {
            one.close();
        } catch (IOException e) {
            // It is closed as far as can be.
        }
    }

    private static void daemon(Runnable work) {
        Thread thread = new Thread(work, "wire");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        door.close();
        end();
    }
}
